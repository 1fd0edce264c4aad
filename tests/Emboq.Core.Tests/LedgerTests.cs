namespace Emboq.Core.Tests;

public sealed class LedgerTests
{
    [Fact]
    public void A_line_is_found_by_its_key_and_a_key_is_given_once()
    {
        var ledger = new Ledger();
        var wall = ledger.Add("wall", "wall", Quantity.Chosen("w", 1.8, Unit.Millimetre), "because");
        wall.Name.ShouldBe("wall");
        ledger["wall"].ShouldBeSameAs(wall);
        Should.Throw<ArgumentException>(() => ledger.Add("wall", "again", wall, "because"));
        Should.Throw<KeyNotFoundException>(() => ledger["door"]);
    }

    [Fact]
    public void Later_formulas_stop_at_earlier_lines()
    {
        var ledger = new Ledger();
        var (a, b) = (Quantity.Chosen("a", 1, Unit.Millimetre), Quantity.Chosen("b", 2, Unit.Millimetre));
        var sum = ledger.Add("sum", "sum", a + b, "because");
        var twice = ledger.Add("twice", "twice", 2 * sum, "because");
        ((Provenance.Derived)twice.Provenance).Formula.InNames().ShouldBe("2 × sum");
    }

    [Fact]
    public void A_correction_told_anew_keeps_its_dependence()
    {
        var source = new Source("s", "s", 0.1);
        var q = Quantity.Input("q", 1, Unit.Millimetre, new Provenance.Measured("m"), [(source, 1)]).From(new Provenance.Learned("tries"));
        q.Partial(source).ShouldBe(1);
        q.Fixed("f", "me").Partial(source).ShouldBe(0);
        q.Fixed("f", "me").Provenance.ShouldBe(new Provenance.Chosen("me"));
    }

    [Fact]
    public void An_outcome_is_a_value_or_every_problem()
    {
        Outcome<int> good = 3;
        Outcome<int> bad = new Problem("f", "v", "wrong", "do this");
        good.Then<string>(n => $"{n}").Value.ShouldBe("3");
        bad.Then<string>(n => $"{n}").Problems.ShouldBe(bad.Problems);
        Should.Throw<InvalidOperationException>(() => bad.Value).Message.ShouldBe("wrong");
        Should.Throw<ArgumentException>(() => { Outcome<int> nothing = new List<Problem>(); });
    }
}
