package app.unimetric.documents.shelf;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.surface.CureTimes;
import app.unimetric.core.surface.ProductSheet;
import app.unimetric.documents.Versioned;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a product's sheet says, as it is stored. */
public final class ProductSheetDocument {
  private record Stored(
      List<CureTimes> times,
      @Nullable Double breakawayNm,
      @Nullable Double gapMm,
      @Nullable Double hottestC,
      List<Material> notFor) {}

  private static final Versioned<Stored> FORMAT =
      new Versioned<>("product sheet", Stored.class, List.of());

  private ProductSheetDocument() {}

  /** Writes . */
  public static String write(ProductSheet sheet) {
    return FORMAT.write(
        new Stored(
            sheet.times(),
            sheet.breakawayNm(),
            sheet.gapMm(),
            sheet.hottestC(),
            sheet.notFor().stream().sorted().toList()));
  }

  /** Reads one . */
  public static ProductSheet read(String text) {
    Stored s = FORMAT.read(text);
    return new ProductSheet(
        s.times(), s.breakawayNm(), s.gapMm(), s.hottestC(), Set.copyOf(s.notFor()));
  }
}
