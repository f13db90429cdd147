package app.unimetric.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class HeaderTextTest {
  private static final Pattern USUAL = Pattern.compile("[\\p{IsAssigned}&&[^\\p{IsControl}]]*");

  @Test
  void everyCharacterIsJudgedAsTheUsualPatternJudgesIt() {
    for (int c = 0; c <= Character.MAX_CODE_POINT; c++) {
      String text = "a" + Character.toString(c);
      assertThat(HeaderText.isPlain(text)).as("%x", c).isEqualTo(USUAL.matcher(text).matches());
    }
  }
}
