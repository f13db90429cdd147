package app.unimetric.core.surface;

import java.util.List;

/**
 * What goes on a surface.
 *
 * @param advice the product, or nothing
 * @param where where to put it
 * @param preparation what to do first, in order
 * @param never what must not be used here, with why
 * @param reasons why this product
 */
public record CompoundAdvice(
    Compound advice,
    String where,
    List<String> preparation,
    List<String> never,
    List<String> reasons) {
  public CompoundAdvice {
    preparation = List.copyOf(preparation);
    never = List.copyOf(never);
    reasons = List.copyOf(reasons);
  }
}
