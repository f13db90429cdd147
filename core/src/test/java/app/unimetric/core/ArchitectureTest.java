package app.unimetric.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;

@AnalyzeClasses(
    packages = "app.unimetric.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule nothingButTheJdk =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("java..", "org.jspecify.annotations..", "app.unimetric.core..");

  /** The arrows of docs/architecture.md: who may use a package. */
  @ArchTest
  static final ArchRule permittedArrows =
      arrows()
          .whereLayer("ask")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("bench")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("plan")
          .mayOnlyBeAccessedByLayers("bench")
          .whereLayer("pack")
          .mayOnlyBeAccessedByLayers("plan", "bench")
          .whereLayer("recheck")
          .mayOnlyBeAccessedByLayers("pack", "plan")
          .whereLayer("spec")
          .mayOnlyBeAccessedByLayers("ask", "pack", "plan", "bench")
          .whereLayer("surface")
          .mayOnlyBeAccessedByLayers("pack", "plan", "bench")
          .whereLayer("tool")
          .mayOnlyBeAccessedByLayers("plan", "bench")
          .whereLayer("sequence")
          .mayOnlyBeAccessedByLayers("carbon", "pack", "plan", "bench")
          .whereLayer("carbon")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("joint")
          .mayOnlyBeAccessedByLayers("ask", "carbon", "spec", "pack", "plan")
          .whereLayer("fastener")
          .mayOnlyBeAccessedByLayers("ask", "joint", "spec", "surface", "pack", "plan", "bench")
          .whereLayer("thread")
          .mayOnlyBeAccessedByLayers(
              "ask", "fastener", "joint", "spec", "surface", "pack", "plan", "bench");

  private static LayeredArchitecture arrows() {
    LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
    for (String name :
        new String[] {
          "ask",
          "bench",
          "plan",
          "pack",
          "recheck",
          "spec",
          "surface",
          "tool",
          "sequence",
          "joint",
          "carbon",
          "fastener",
          "thread"
        }) {
      layers = layers.layer(name).definedBy("app.unimetric.core." + name + "..");
    }
    return layers;
  }
}
