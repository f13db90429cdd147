package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.thread.ScrewThread;
import org.junit.jupiter.api.Test;

/** VDI 2230-1, table A1: hexagon heads, 90 % of yield, μ_th = μ_h; and ISO 898-1. */
class PublishedTablesTest {
  private static final double[] FRICTION = {0.08, 0.10, 0.12, 0.14, 0.16, 0.20, 0.24};
  private static final double WANTED = 0.015;

  /**
   * One torque, M4 10.9 at 0.12, is left out: as printed it breaks the course of its own row and
   * the ratio to its own load.
   *
   * <p>Thread, class, F_M in kN by friction, T in N·m by friction, as printed.
   */
  private static final String TABLE =
      """
      M4 8.8|4.6 4.5 4.4 4.3 4.2 3.9 3.7|2.3 2.6 3.0 3.3 3.6 4.1 4.5
      M4 10.9|6.8 6.7 6.5 6.3 6.1 5.7 5.4|3.3 3.9 - 4.8 5.3 6.0 6.6
      M4 12.9|8.0 7.8 7.6 7.4 7.1 6.7 6.3|3.9 4.5 5.1 5.6 6.2 7.0 7.8
      M5 8.8|7.6 7.4 7.2 7.0 6.8 6.4 6.0|4.4 5.2 5.9 6.5 7.1 8.1 9.0
      M5 10.9|11.1 10.8 10.6 10.3 10.0 9.4 8.8|6.5 7.6 8.6 9.5 10.4 11.9 13.2
      M5 12.9|13.0 12.7 12.4 12.0 11.7 11.0 10.3|7.6 8.9 10.0 11.2 12.2 14.0 15.5
      M6 8.8|10.7 10.4 10.2 9.9 9.6 9.0 8.4|7.7 9.0 10.1 11.3 12.3 14.1 15.6
      M6 10.9|15.7 15.3 14.9 14.5 14.1 13.2 12.4|11.3 13.2 14.9 16.5 18.0 20.7 22.9
      M6 12.9|18.4 17.9 17.5 17.0 16.5 15.5 14.5|13.2 15.4 17.4 19.3 21.1 24.2 26.8
      M8 8.8|19.5 19.1 18.6 18.1 17.6 16.5 15.5|18.5 21.6 24.6 27.3 29.8 34.3 38.0
      M8 10.9|28.7 28.0 27.3 26.6 25.8 24.3 22.7|27.2 31.8 36.1 40.1 43.8 50.3 55.8
      M8 12.9|33.6 32.8 32.0 31.1 30.2 28.4 26.6|31.8 37.2 42.2 46.9 51.2 58.9 65.3
      M10 8.8|31.0 30.3 29.6 28.8 27.9 26.3 24.7|36 43 48 54 59 68 75
      M10 10.9|45.6 44.5 43.4 42.2 41.0 38.6 36.2|53 63 71 79 87 100 110
      M10 12.9|53.3 52.1 50.8 49.4 48.0 45.2 42.4|62 73 83 93 101 116 129
      M12 8.8|45.2 44.1 43.0 41.9 40.7 38.3 35.9|63 73 84 93 102 117 130
      M12 10.9|66.3 64.8 63.2 61.5 59.8 56.3 52.8|92 108 123 137 149 172 191
      M12 12.9|77.6 75.9 74.0 72.0 70.0 65.8 61.8|108 126 144 160 175 201 223
      M14 8.8|62.0 60.6 59.1 57.5 55.9 52.6 49.3|100 117 133 148 162 187 207
      M14 10.9|91.0 88.9 86.7 84.4 82.1 77.2 72.5|146 172 195 218 238 274 304
      M14 12.9|106.5 104.1 101.5 98.8 96.0 90.4 84.8|171 201 229 255 279 321 356
      M16 8.8|84.7 82.9 80.9 78.8 76.6 72.2 67.8|153 180 206 230 252 291 325
      M16 10.9|124.4 121.7 118.8 115.7 112.6 106.1 99.6|224 264 302 338 370 428 477
      M16 12.9|145.5 142.4 139.0 135.4 131.7 124.1 116.6|262 309 354 395 433 501 558
      M20 8.8|136 134 130 127 123 116 109|308 363 415 464 509 588 655
      M20 10.9|194 190 186 181 176 166 156|438 517 592 661 725 838 933
      M20 12.9|227 223 217 212 206 194 182|513 605 692 773 848 980 1092
      """;

  @Test
  void assemblyPreloadAndTorqueMeetTheTable() {
    double worst = 0;
    String where = "";
    int compared = 0;
    for (String line : TABLE.lines().toList()) {
      String[] parts = line.split("\\|");
      String[] bolt = parts[0].split(" ");
      ScrewThread thread = ScrewThread.parse(bolt[0]);
      double yield = PropertyClass.parse(bolt[1]).yieldMPa(thread);
      BearingFace face = Head.HEX.face(thread);
      for (int i = 0; i < FRICTION.length; i++) {
        AssemblyPreload at = AssemblyPreload.at(0.9, yield, thread, face, Friction.of(FRICTION[i]));
        double load = beyondRounding(at.preloadN() / 1000, parts[1].split(" ")[i]);
        double torque = beyondRounding(at.torqueNm(), parts[2].split(" ")[i]);
        compared += parts[2].split(" ")[i].equals("-") ? 1 : 2;
        if (Math.max(load, torque) > worst) {
          worst = Math.max(load, torque);
          where = parts[0] + " μ " + FRICTION[i] + (load > torque ? " F_M" : " T");
        }
      }
    }
    System.out.printf(
        "VDI 2230-1 table A1: %d figures, largest deviation beyond their rounding %.2f %% (%s)%n",
        compared, 100 * worst, where);
    assertThat(worst).as(where).isLessThan(WANTED);
  }

  /** Deviation as a share, less half of the last digit printed. */
  private static double beyondRounding(double computed, String printed) {
    if (printed.equals("-")) {
      return 0;
    }
    double value = Double.parseDouble(printed);
    double half = printed.contains(".") ? 0.05 : 0.5;
    return Math.max(0, Math.abs(computed - value) - half) / value;
  }

  /** ISO 898-1, tables 5 and 7: thread, stress area mm², class, proof load kN. */
  @Test
  void proofLoadsAndStressAreasMeetIso898() {
    String table =
        """
        M3 5.03 8.8 2.92
        M4 8.78 8.8 5.10
        M5 14.2 8.8 8.23
        M6 20.1 8.8 11.6
        M8 36.6 8.8 21.2
        M10 58.0 8.8 33.7
        M12 84.3 8.8 48.9
        M14 115 8.8 66.7
        M16 157 8.8 91.0
        M18 192 8.8 115
        M20 245 8.8 147
        M24 353 8.8 212
        M6 20.1 10.9 16.7
        M8 36.6 10.9 30.4
        M10 58.0 10.9 48.1
        M12 84.3 10.9 70.0
        M8 36.6 12.9 35.5
        M10 58.0 12.9 56.3
        M8x1 39.2 8.8 22.7
        M10x1.25 61.2 8.8 35.5
        M12x1.5 88.1 8.8 51.1
        M16x1.5 167 8.8 96.9
        """;
    for (String line : table.lines().toList()) {
      String[] t = line.split(" ");
      ScrewThread thread = ScrewThread.parse(t[0]);
      assertThat(beyondRounding(thread.stressAreaMm2(), t[1])).as(line).isLessThan(0.003);
      assertThat(
              beyondRounding(
                  PropertyClass.parse(t[2]).proofMPa(thread) * thread.stressAreaMm2() / 1000, t[3]))
          .as(line)
          .isLessThan(0.005);
    }
  }
}
