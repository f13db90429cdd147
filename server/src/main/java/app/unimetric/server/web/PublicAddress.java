package app.unimetric.server.web;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The address under which people reach the workshop, for what leaves it on paper. */
@Component
public class PublicAddress {
  private final String told;

  PublicAddress(@Value("${unimetric.public-url}") String told) {
    this.told = told;
  }

  /** As it was told at the start, else as this call came in. */
  public String of(HttpServletRequest request) {
    return told.isBlank()
        ? request.getScheme() + "://" + request.getServerName() + ":" + request.getServerPort()
        : told;
  }
}
