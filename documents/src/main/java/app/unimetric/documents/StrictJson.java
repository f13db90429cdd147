package app.unimetric.documents;

import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Said;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.AnnotationIntrospectorPair;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;

/** JSON as it is meant: nothing guessed, nothing passed over, nothing left out silently. */
public final class StrictJson {
  private StrictJson() {}

  /** Values, names and brackets of a text from outside; a large pack has a fifth of it. */
  public static final long MOST_TOKENS = 200_000;

  /** Brackets within brackets; a pack has ten. */
  public static final int DEEPEST = 100;

  private static final int LONGEST_NAME = 1_000;

  /**
   * How much a text from outside may hold, whatever its size: each value takes many times the
   * memory it takes as text.
   */
  public static StreamReadConstraints bounds() {
    return StreamReadConstraints.builder()
        .maxNestingDepth(DEEPEST)
        .maxTokenCount(MOST_TOKENS)
        .maxNameLength(LONGEST_NAME)
        .build();
  }

  /** A mapper for what may come from outside, whatever it holds. */
  public static JsonMapper bounded() {
    JsonMapper.Builder builder =
        JsonMapper.builder(JsonFactory.builder().streamReadConstraints(bounds()).build());
    configure(builder);
    return builder.build();
  }

  /** A mapper for documents: a record is written by its components alone. */
  static JsonMapper ofComponents() {
    return mapper()
        .rebuild()
        .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
        .build();
  }

  /** A mapper for what was written here. */
  public static JsonMapper mapper() {
    JsonMapper.Builder builder = JsonMapper.builder();
    configure(builder);
    return builder.build();
  }

  /** Makes a mapper strict. */
  public static void configure(JsonMapper.Builder builder) {
    builder
        .enable(
            DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
            DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
            DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .withCoercionConfig(
            LogicalType.Textual,
            c ->
                c.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                    .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                    .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
        .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_NULL))
        .annotationIntrospector(
            new AnnotationIntrospectorPair(
                new RequiredComponents(), new JacksonAnnotationIntrospector()))
        .addModule(units());
  }

  private static SimpleModule units() {
    SimpleModule module = new SimpleModule("quantities");
    module.setMixInAnnotation(Said.class, ByKind.class);
    for (EventKind kind : EventKind.values()) {
      module.registerSubtypes(new NamedType(kind.said(), kind.name()));
    }
    module.setMixInAnnotation(TorqueBand.class, BandFields.class);
    module.addSerializer(
        TorqueUnit.class,
        new ValueSerializer<>() {
          @Override
          public void serialize(TorqueUnit unit, JsonGenerator out, SerializationContext context) {
            out.writeString(unit.code());
          }
        });
    module.addDeserializer(
        TorqueUnit.class,
        new ValueDeserializer<>() {
          @Override
          public TorqueUnit deserialize(JsonParser in, DeserializationContext context) {
            @Nullable String code = in.getValueAsString();
            return TorqueUnit.ofCode(code == null ? "" : code)
                .orElseGet(
                    () ->
                        (TorqueUnit)
                            context.handleWeirdStringValue(
                                TorqueUnit.class, String.valueOf(code), "unknown unit"));
          }
        });
    return module;
  }

  /** What is said at the bench is told apart by its kind. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  private interface ByKind {}

  /** A band is written by its ends. */
  @JsonAutoDetect(
      fieldVisibility = JsonAutoDetect.Visibility.NONE,
      getterVisibility = JsonAutoDetect.Visibility.NONE,
      isGetterVisibility = JsonAutoDetect.Visibility.NONE)
  private abstract static class BandFields {
    @JsonProperty("minNm")
    abstract double minNm();

    @JsonProperty("maxNm")
    abstract double maxNm();

    @JsonCreator
    static @Nullable TorqueBand of(
        @JsonProperty(value = "minNm", required = true) double minNm,
        @JsonProperty(value = "maxNm", required = true) double maxNm) {
      return null;
    }
  }

  /** A record's component must be given unless it is marked nullable, and so must its elements. */
  private static final class RequiredComponents extends NopAnnotationIntrospector {
    private static final long serialVersionUID = 1L;

    @Override
    public @Nullable Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
      return required(member);
    }

    @Override
    public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated annotated) {
      RecordComponent component = component(annotated);
      return component == null
          ? JsonSetter.Value.empty()
          : JsonSetter.Value.construct(
              RecordNullness.isRequired(component) ? Nulls.FAIL : null,
              RecordNullness.mayHoldNulls(component) ? null : Nulls.FAIL);
    }

    private static @Nullable Boolean required(Annotated annotated) {
      RecordComponent component = component(annotated);
      return component == null ? null : (Boolean) RecordNullness.isRequired(component);
    }

    private static @Nullable RecordComponent component(Annotated annotated) {
      if (annotated instanceof AnnotatedParameter parameter) {
        Class<?> type = parameter.getDeclaringClass();
        if (type.isRecord()
            && parameter.getOwner().getParameterCount() == type.getRecordComponents().length) {
          return type.getRecordComponents()[parameter.getIndex()];
        }
      }
      return null;
    }
  }
}
