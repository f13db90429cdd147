package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;

/**
 * What the joint must withstand in use, for one bolt.
 *
 * @param axialN load that pulls the parts apart, N
 * @param transverseN load that would shift them, N
 * @param slipFriction μ between the parts
 */
public record Service(double axialN, double transverseN, double slipFriction) {
  public Service {
    new Problems()
        .within(axialN, 0, 1e7, "axialN")
        .within(transverseN, 0, 1e7, "transverseN")
        .within(slipFriction, 0.01, 1, "slipFriction")
        .orThrow();
  }

  /** F_Q/μ, N: what friction needs so that nothing slips. */
  public double againstSlipN() {
    return transverseN / slipFriction;
  }

  public boolean loadsInShear() {
    return transverseN > 0;
  }
}
