import { Color, DoubleSide, NotEqualStencilFunc, ReplaceStencilOp, ShaderMaterial } from 'three'

/** The hatched face that a cutting plane opens in one body, drawn where the stencil says that it runs through material. The caller frees it. */
export function hatchMaterial(colour: string, number: number): ShaderMaterial {
  return new ShaderMaterial({
    uniforms: { colour: { value: new Color(colour) }, angle: { value: ((45 + number * 50) * Math.PI) / 180 } },
    vertexShader: 'void main() { gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }',
    fragmentShader: `uniform vec3 colour; uniform float angle;
      void main() {
        float along = gl_FragCoord.x * cos(angle) + gl_FragCoord.y * sin(angle);
        gl_FragColor = vec4(mod(along, 8.0) < 1.6 ? colour * 0.35 : mix(colour, vec3(1.0), 0.55), 1.0);
        #include <colorspace_fragment>
      }`,
    side: DoubleSide,
    stencilWrite: true,
    stencilRef: 0,
    stencilFunc: NotEqualStencilFunc,
    stencilFail: ReplaceStencilOp,
    stencilZFail: ReplaceStencilOp,
    stencilZPass: ReplaceStencilOp,
  })
}
