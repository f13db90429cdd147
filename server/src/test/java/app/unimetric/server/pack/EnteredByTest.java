package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EnteredByTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Manual, p. 12 | Manual, p. 12; entered by Bram",
        "'' | entered by Bram",
        "Manual; entered by the maker | Manual; entered by Bram",
        "Manual, Entered By the maker himself | Manual; entered by Bram",
        "Manual; entered by Bram, confirmed by Asta | Manual; entered by Bram"
      })
  void whoeverATextNamesTheBringerStandsInIt(String document, String said) {
    assertThat(EnteredBy.said(document, "entered by Bram")).isEqualTo(said);
  }

  @Test
  void aLongTextGivesWayToIt() {
    String said = EnteredBy.said("x".repeat(2000), "entered by Bram");
    assertThat(said).hasSize(2000).endsWith("…; entered by Bram");
  }

  @Test
  void jobsThatAPackCarriesAreMarkedToo() {
    String carried =
        "{\"joints\":[],\"together\":[{\"document\":{\"joints\":[{\"values\":[{\"document\":\"Kit\"}]}]}}]}";
    assertThat(EnteredBy.in(carried, "entered by Bram")).contains("Kit; entered by Bram");
    String none = "{\"joints\":[{\"values\":[]}]}";
    assertThat(EnteredBy.in(none, "entered by Bram")).isSameAs(none);
  }
}
