package app.unimetric.documents.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.surface.CureTimes;
import app.unimetric.core.surface.ProductSheet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ProductSheetDocumentTest {
  @Test
  void whatIsStoredComesBackAsItWas() {
    ProductSheet sheet =
        new ProductSheet(
            List.of(
                new CureTimes(Material.STAINLESS, 21.0, 60.0, 4320.0),
                new CureTimes(null, null, 25.0, null)),
            18.0,
            0.15,
            150.0,
            Set.of(Material.PLASTIC, Material.CARBON));
    assertThat(ProductSheetDocument.read(ProductSheetDocument.write(sheet))).isEqualTo(sheet);
    assertThat(ProductSheetDocument.read(ProductSheetDocument.write(ProductSheet.SILENT)))
        .isEqualTo(ProductSheet.SILENT);
  }

  @Test
  void whatOlderWorkshopsHadIsRead() {
    assertThat(
            ProductSheetDocument.read(
                "{\"version\":1,\"times\":[{\"fixtureMinutes\":25,\"fullCureMinutes\":1440}],\"notFor\":[]}"))
        .isEqualTo(ProductSheet.of(25.0, 1440.0));
  }
}
