package app.unimetric.core.surface;

/** What else decides about the product on a joint; each holds or does not. */
public enum Circumstance {
  /** It must come apart again with hand tools. */
  COMES_APART,
  VIBRATES,
  NEAR_PLASTIC,
  NEAR_CARBON,
  /** The nut can be reached to put the product in. */
  NUT_ACCESS,
  /** The joint is already together. */
  ASSEMBLED
}
