package app.unimetric.server.audit;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log of the doors, for leads. */
@RestController
class AuditController {
  private static final String LEAD = "ROLE_LEAD";
  private final AuditLog log;

  AuditController(AuditLog log) {
    this.log = log;
  }

  /** A kind of entry. */
  record AuditKindChoice(AuditKind code, String words) {}

  /**
   * @param entries newest first
   * @param more where to go on; missing at the end
   */
  record AuditPage(List<AuditEntry> entries, List<AuditKindChoice> kinds, @Nullable Long more) {}

  /**
   * @param before only entries before this one
   * @param kind only of this kind
   */
  @GetMapping("/api/audit")
  AuditPage audit(
      @RequestParam(defaultValue = "" + Long.MAX_VALUE) long before,
      @RequestParam(required = false) @Nullable AuditKind kind,
      Authentication who) {
    if (who.getAuthorities().stream().noneMatch(a -> LEAD.equals(a.getAuthority()))) {
      throw new AccessDeniedException("for leads");
    }
    List<AuditEntry> entries = log.before(before, kind);
    return new AuditPage(
        entries,
        Arrays.stream(AuditKind.values()).map(k -> new AuditKindChoice(k, k.words())).toList(),
        entries.size() < AuditLog.MOST ? null : entries.get(entries.size() - 1).id());
  }
}
