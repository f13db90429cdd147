package app.unimetric.server.compute;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * One calculation of the core, open to all: it takes JSON under /api/compute, signs nobody in and
 * stores nothing.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@RestController
@RequestMapping(path = "/api/compute", consumes = MediaType.APPLICATION_JSON_VALUE)
@Tag(
    name = "compute",
    description =
        "Stateless calculations; no sign-in. With why=true the answer carries its derivation.")
public @interface ComputeCall {}
