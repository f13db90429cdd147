package app.unimetric.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands a test the one {@link Workshop} of this JVM, started when first asked for. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(InWorkshop.Start.class)
public @interface InWorkshop {

  /** Starts once, ends with the last test. */
  final class Start implements ParameterResolver {
    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
      return parameter.getParameter().getType() == Workshop.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
      return context
          .getRoot()
          .getStore(ExtensionContext.Namespace.create(Workshop.class))
          .getOrComputeIfAbsent("workshop", key -> new Running(), Running.class)
          .workshop;
    }
  }

  /** Closed by JUnit after the last test. */
  final class Running implements ExtensionContext.Store.CloseableResource, AutoCloseable {
    final Workshop workshop;

    Running() {
      try {
        workshop = Workshop.fresh();
      } catch (java.io.IOException e) {
        throw new java.io.UncheckedIOException(e);
      }
    }

    @Override
    public void close() throws Exception {
      workshop.closeAll();
    }
  }
}
