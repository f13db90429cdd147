package app.unimetric.server.json;

import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Said;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.documents.RecordNullness;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the API: stable, with units by their UCUM codes and with what is required. */
@Configuration
class OpenApi {
  @Bean
  OpenAPI apiDescription() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Unimetric")
                .version("1")
                .description(
                    "Torque, order, tools and records for fitting parts. Lengths mm, force N, torque N·m, stress MPa,"
                        + " angle degrees, in each field's name. Torque units are UCUM codes.")
                .license(new License().name("Apache-2.0")))
        .components(new Components())
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  ModelConverter recordConverter() {
    return new RecordConverter();
  }

  @Bean
  OpenApiCustomizer sortedSchemas() {
    return api -> {
      if (api.getComponents() != null && api.getComponents().getSchemas() != null) {
        api.getComponents().setSchemas(new java.util.TreeMap<>(api.getComponents().getSchemas()));
      }
    };
  }

  private static final class RecordConverter implements ModelConverter {
    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      JavaType java = Json.mapper().constructType(type.getType());
      if (java != null && java.getRawClass() == TorqueUnit.class) {
        StringSchema units = new StringSchema();
        units.setEnum(
            new ArrayList<>(Arrays.stream(TorqueUnit.values()).map(TorqueUnit::code).toList()));
        units.setDescription("torque unit, UCUM");
        return units;
      }
      if (java != null && java.getRawClass() == TorqueBand.class) {
        return chain.next().resolve(new AnnotatedType(BandFields.class), context, chain);
      }
      if (java != null && java.getRawClass() == ScaleReading.class) {
        return resolve(new AnnotatedType(WireReading.class), context, chain);
      }
      if (java != null && java.getRawClass() == Said.class) {
        return said(context);
      }
      if (!chain.hasNext()) {
        return null;
      }
      Schema<?> schema = chain.next().resolve(type, context, chain);
      if (java != null && java.getRawClass().isRecord()) {
        String ref = schema == null ? null : schema.get$ref();
        Schema<?> target =
            ref == null
                ? schema
                : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
        if (target != null && target.getProperties() != null) {
          Set<String> required = new TreeSet<>(required(java.getRawClass()));
          required.retainAll(target.getProperties().keySet());
          target.setRequired(new ArrayList<>(required));
        }
      }
      return schema;
    }

    /** What is said at the bench: one record a kind, told apart by it. */
    private Schema<?> said(ModelConverterContext context) {
      Schema<?> one = new Schema<>();
      for (EventKind kind : EventKind.values()) {
        String name = "Said" + kind.said().getSimpleName();
        Schema<?> schema = new ObjectSchema();
        for (RecordComponent c : kind.said().getRecordComponents()) {
          schema.addProperty(c.getName(), context.resolve(new AnnotatedType(c.getGenericType())));
        }
        StringSchema tag = new StringSchema();
        tag.setEnum(List.of(kind.name()));
        schema.addProperty("kind", tag);
        Set<String> required = new TreeSet<>(RecordNullness.required(kind.said()));
        required.add("kind");
        schema.setRequired(new ArrayList<>(required));
        context.defineModel(name, schema);
        one.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
      }
      context.defineModel("Said", one);
      return new Schema<>().$ref("#/components/schemas/Said");
    }

    /** What must be given, with what must be given of records whose fields stand flat in it. */
    private static Set<String> required(Class<?> type) {
      Set<String> required = new TreeSet<>(RecordNullness.required(type));
      for (RecordComponent component : type.getRecordComponents()) {
        if (component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)) {
          required.remove(component.getName());
          required.addAll(required(component.getType()));
        }
      }
      return required;
    }
  }

  @io.swagger.v3.oas.annotations.media.Schema(name = "TorqueBand", description = "N·m")
  record BandFields(double minNm, double maxNm) {}
}
