package app.unimetric.server.audit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened at the doors, only added to. */
@Service
public class AuditLog {
  static final int MOST = 100;
  private final AuditMapper mapper;

  AuditLog(AuditMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * Writes something down; asked for outside what it is about, so that it stands whatever becomes
   * of that.
   *
   * @param who empty for a stranger
   */
  @Transactional
  public void wrote(AuditKind kind, String who, String about, String address) {
    mapper.add(kind, printable(who), printable(about), address);
  }

  /** What somebody typed may hold anything; a log is read by people. */
  private static String printable(String text) {
    return text.codePoints()
        .map(c -> Character.isISOControl(c) || !Character.isDefined(c) ? '·' : c)
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }

  List<AuditEntry> before(long id, @Nullable AuditKind kind) {
    return mapper.before(id, kind, MOST);
  }
}
