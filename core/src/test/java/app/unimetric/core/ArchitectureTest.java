package app.unimetric.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The core stands on the JDK and on lists and maps that never change, and its packages use each
 * other only as they may.
 */
@AnalyzeClasses(
    packages = "app.unimetric.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  private static final String ROOT = "app.unimetric.core.";

  /** The arrows of docs/architecture.md: each package with those that may use it. */
  private static final Map<String, String> USED_BY = new LinkedHashMap<>();

  static {
    String all =
        "ask bench book carbon device fastener fit joint machine meter order pack photograph plan quantity recheck sequence stated surface table thread tool";
    USED_BY.put("problem", all);
    USED_BY.put("why", all);
    USED_BY.put("quantity", all);
    USED_BY.put("table", "book machine meter tool");
    USED_BY.put("thread", "ask fastener joint stated surface tool pack plan bench book");
    USED_BY.put("fastener", "fit ask joint stated surface pack plan bench book");
    USED_BY.put("joint", "ask carbon stated pack plan book bench");
    USED_BY.put("carbon", "fit plan");
    USED_BY.put("fit", "plan device");
    USED_BY.put("sequence", "ask carbon pack plan bench");
    USED_BY.put("order", "pack plan bench");
    USED_BY.put("tool", "ask plan bench");
    USED_BY.put("surface", "ask pack plan bench");
    USED_BY.put("stated", "ask pack plan bench book");
    USED_BY.put("recheck", "pack plan bench");
    USED_BY.put("machine", "");
    USED_BY.put("book", "");
    USED_BY.put("meter", "machine");
    USED_BY.put("pack", "plan bench machine");
    USED_BY.put("photograph", "");
    USED_BY.put("plan", "bench");
    USED_BY.put("ask", "");
    USED_BY.put("device", "bench");
    USED_BY.put("bench", "photograph");
  }

  @ArchTest
  static final ArchRule LITTLE_BUT_THE_JDK =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "java..", "org.jspecify.annotations..", "org.pcollections..", "app.unimetric.core..");

  @ArchTest static final ArchRule PERMITTED_ARROWS = arrows();

  private static ArchRule arrows() {
    LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
    for (String name : USED_BY.keySet()) {
      layers = layers.layer(name).definedBy(ROOT + name + "..");
    }
    for (Map.Entry<String, String> arrow : USED_BY.entrySet()) {
      layers =
          arrow.getValue().isEmpty()
              ? layers.whereLayer(arrow.getKey()).mayNotBeAccessedByAnyLayer()
              : layers
                  .whereLayer(arrow.getKey())
                  .mayOnlyBeAccessedByLayers(arrow.getValue().split(" "));
    }
    return layers;
  }

  @ArchTest
  static void everyPackageHasItsArrows(JavaClasses core) {
    Set<String> found =
        core.stream()
            .map(c -> c.getPackageName().substring(ROOT.length()))
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(found).containsExactlyInAnyOrderElementsOf(USED_BY.keySet());
  }
}
