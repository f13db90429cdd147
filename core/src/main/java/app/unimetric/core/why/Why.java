package app.unimetric.core.why;

import java.util.ArrayList;
import java.util.List;

/** Reasons in plain sentences and the derivation behind them, gathered while a result is made. */
public final class Why {
  private final List<String> reasons = new ArrayList<>();
  private final List<Derivation> derivation = new ArrayList<>();

  public Why because(String sentence) {
    if (!reasons.contains(sentence)) {
      reasons.add(sentence);
    }
    return this;
  }

  /** A sentence that stands before all others: what is wrong comes first. */
  public Why first(String sentence) {
    if (!reasons.contains(sentence)) {
      reasons.add(0, sentence);
    }
    return this;
  }

  public Why derive(String symbol, double value, String unit, String formula, String source) {
    derivation.add(new Derivation(symbol, value, unit, formula, source));
    return this;
  }

  public Why add(List<Derivation> lines) {
    derivation.addAll(lines);
    return this;
  }

  public List<String> reasons() {
    return List.copyOf(reasons);
  }

  public List<Derivation> derivation() {
    return List.copyOf(derivation);
  }
}
