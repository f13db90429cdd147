package app.unimetric.server.json;

import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.documents.StrictJson;
import app.unimetric.documents.pack.PackReader;
import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.module.SimpleModule;

/** Requests and answers are read and written as strictly as documents are. */
@Configuration
class StrictMapper {
  @Bean
  JsonMapperBuilderCustomizer strict() {
    return builder -> {
      StrictJson.configure(builder);
      builder.addModule(
          new SimpleModule("wire")
              .addSerializer(ScaleReading.class, new WireReading.Writer())
              .addDeserializer(String.class, new PlainText()));
    };
  }

  @Bean
  JsonFactoryBuilderCustomizer bounded() {
    return factory -> factory.streamReadConstraints(StrictJson.bounds());
  }

  @Bean
  PackReader packReader() {
    return new PackReader();
  }
}
