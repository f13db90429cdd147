package app.unimetric.server.people;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The person behind a session. */
public final class SignedIn implements UserDetails, CredentialsContainer {
  private static final long serialVersionUID = 2L;
  private final UUID id;
  private final String name;
  private final Role role;
  private final Instant since;
  private String passwordHash;

  SignedIn(Person person, Instant since) {
    this.id = person.id();
    this.name = person.name();
    this.role = person.role();
    this.since = since;
    String hash = person.passwordHash();
    this.passwordHash = hash == null ? "" : hash;
  }

  public UUID id() {
    return id;
  }

  public String name() {
    return name;
  }

  public Role role() {
    return role;
  }

  /** When the session was opened. */
  Instant since() {
    return since;
  }

  public boolean isLead() {
    return role == Role.LEAD;
  }

  public Signature signature() {
    return new Signature(id, name, isLead());
  }

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
  }

  @Override
  public String getPassword() {
    return passwordHash;
  }

  @Override
  public String getUsername() {
    return name;
  }

  @Override
  public void eraseCredentials() {
    passwordHash = "";
  }
}
