package app.unimetric.server.gate;

import app.unimetric.documents.table.Table;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * How much may be read into memory, and how many may be at it at once. {@link #parts} lists all of
 * it with what each costs at worst; a test holds the sum below the heap the server is started with.
 */
public final class Bounds {
  private static final int KB = 1024;
  private static final int MB = 1024 * KB;

  /** Most calls are far below. */
  public static final int SMALL_CALL_BYTES = 64 * KB;

  /** A plan carries a whole pack, and so does a pack brought back. */
  public static final int LARGE_CALL_BYTES = 2 * MB;

  /** Devices make them smaller than a tenth of this. */
  static final int PHOTOGRAPH_BYTES = 8 * MB;

  /** A sheet of fifty thousand values with long documents. */
  public static final int SHEET_BYTES = 24 * MB;

  /** All bodies that are on their way or being worked on, together. */
  public static final long BODIES_BYTES = 48L * MB;

  public static final int OPEN_CALLS_AT_ONCE = 16;
  public static final int LARGE_CALLS_AT_ONCE = 1;
  public static final int SHEETS_AT_ONCE = 1;

  /** Passwords and PINs: each takes a core and its memory for some hundredths of a second. */
  public static final int HASHED_AT_ONCE = 4;

  /** Pictures that are decoded. */
  public static final int PICTURES_AT_ONCE = 1;

  /** Pixels of a photograph that is decoded. */
  public static final int PICTURE_PIXELS = 25_000_000;

  private static final Pattern PHOTOGRAPH =
      Pattern.compile("/api/jobs/[^/]{1,40}/photographs/[^/]{1,40}");
  private static final Set<String> SHEETS = Set.of("/api/sheets", "/api/workshop/everything");
  private static final Pattern SHEET_OUT =
      Pattern.compile("/api/sheets/of-[^/]{1,20}[.]csv|/api/workshop/everything[.]zip");
  private static final Set<String> LARGE = Set.of("/api/compute/plan", "/api/packs");
  private static final Set<String> HASHED =
      Set.of(
          "/api/session",
          "/api/session/first",
          "/api/session/tablet",
          "/api/session/password",
          "/api/session/pin",
          "/api/workshop");

  private Bounds() {}

  /**
   * One part of what may be in memory at once.
   *
   * @param what in words
   * @param bytes of one at worst
   * @param atOnce how many there may be
   */
  public record Part(String what, long bytes, long atOnce) {
    public long total() {
      return bytes * atOnce;
    }
  }

  /**
   * All parts.
   *
   * @param connections how many the web server holds
   * @param threads how many requests it works on at once
   */
  public static List<Part> parts(int connections, int threads) {
    return List.of(
        new Part("the application itself, its caches filled", 130L * MB, 1),
        new Part("a connection with its buffers, its head half read", 56L * KB, connections),
        new Part("bodies on their way or being worked on, and once more as bytes", BODIES_BYTES, 2),
        new Part("a small call as JSON and as what it comes to", 8L * SMALL_CALL_BYTES, threads),
        new Part("a large call as JSON and as what it comes to", 45L * MB, LARGE_CALLS_AT_ONCE),
        new Part("a sheet as text and as cells", Table.MOST_MEMORY_BYTES, SHEETS_AT_ONCE),
        new Part("a picture, decoded and turned", 4L * PICTURE_PIXELS + 32L * MB, PICTURES_AT_ONCE),
        new Part("a password being hashed", 16L * MB, HASHED_AT_ONCE));
  }

  /** Bytes the body of a call may have. */
  public static int mostBytes(Asked asked) {
    if (SHEETS.contains(asked.path())) {
      return SHEET_BYTES;
    }
    if (isPhotograph(asked)) {
      return PHOTOGRAPH_BYTES;
    }
    return LARGE.contains(asked.path()) ? LARGE_CALL_BYTES : SMALL_CALL_BYTES;
  }

  /** A sheet, or a whole workshop, that comes in. */
  public static boolean isSheet(Asked asked) {
    return SHEETS.contains(asked.path()) && !asked.isReading();
  }

  /** Likewise, going out. */
  public static boolean isWholeSheetOut(Asked asked) {
    return asked.isReading() && SHEET_OUT.matcher(asked.path()).matches();
  }

  /** Whether a photograph is sent. */
  public static boolean isPhotograph(Asked asked) {
    return PHOTOGRAPH.matcher(asked.path()).matches();
  }

  /** Whether a password or PIN is looked at. */
  public static boolean isHashed(Asked asked) {
    return asked.method().equals("POST") && HASHED.contains(asked.path());
  }
}
