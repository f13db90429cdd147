package app.unimetric.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The feature packages form no ring, and nothing calls the demo or Today. */
@AnalyzeClasses(
    packages = "app.unimetric.server",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ModulesTest {
  @ArchTest
  static final ArchRule NO_CYCLES =
      slices().matching("app.unimetric.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule NOTHING_CALLS_DEMO_OR_TODAY =
      noClasses()
          .that()
          .resideOutsideOfPackages("..server.demo..", "..server.today..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..server.demo..", "..server.today..");
}
