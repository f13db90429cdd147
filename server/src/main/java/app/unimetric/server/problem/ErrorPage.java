package app.unimetric.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What a filter or the web server gave up on, said as everything else is. */
@Hidden
@Controller
class ErrorPage implements ErrorController {
  private final ProblemWriter problems;

  ErrorPage(ProblemWriter problems) {
    this.problems = problems;
  }

  @RequestMapping("${spring.web.error.path:${error.path:/error}}")
  void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
    HttpStatus said = status == null ? HttpStatus.NOT_FOUND : status;
    problems.write(response, said, ProblemHandler.plain(said));
  }
}
