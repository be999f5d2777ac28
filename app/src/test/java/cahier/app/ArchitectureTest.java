package cahier.app;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.judge.JudgingRound;
import cahier.app.measure.Measuring;
import cahier.core.week.WeekPlanner;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Controller;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

/** The arrows of the house: web to service to core, mapper beside service (docs/architecture.md). */
@AnalyzeClasses(packages = "cahier.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    private static final Set<String> PLATFORM = Set.of("account", "audit", "brake", "language", "scope", "web", "draw", "stored");
    private static final Set<String> COMPOSING = Set.of("", "book", "brief", "first", "owner", "pages", "demo");
    private static final int MOST_KNOWN = 8;

    private static final ArchCondition<JavaClass> BE_USED_ONLY_IN_THEIR_PACKAGE = new ArchCondition<>("be used only in their package") {
        @Override
        public void check(JavaClass mapper, ConditionEvents events) {
            mapper.getDirectDependenciesToSelf().stream().filter(d -> !d.getOriginClass().getPackageName().equals(mapper.getPackageName()))
                    .forEach(d -> events.add(SimpleConditionEvent.violated(mapper, d.getDescription())));
        }
    };

    @ArchTest
    static final ArchRule featuresHaveNoCycle = slices().matching("cahier.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule mappersStayBesideTheirService = classes().that().areAnnotatedWith(Mapper.class).should(BE_USED_ONLY_IN_THEIR_PACKAGE);

    @ArchTest
    static final ArchRule mappersAreNotPublic = classes().that().areAnnotatedWith(Mapper.class).should().notBePublic();

    @ArchTest
    static final ArchRule controllersAskServices = noClasses().that().areAnnotatedWith(Controller.class).or().areAnnotatedWith(RestController.class)
            .should().dependOnClassesThat().areAnnotatedWith(Mapper.class);

    @ArchTest
    static final ArchRule controllersAreNobodysBusiness = classes().that().areAnnotatedWith(Controller.class).or().areAnnotatedWith(RestController.class)
            .should().notBePublic();

    @ArchTest
    static final ArchRule servicesKnowNoWeb = noClasses().that().areAnnotatedWith(Service.class)
            .should().dependOnClassesThat().resideInAnyPackage("org.springframework.web..", "org.springframework.ui..", "jakarta.servlet..");

    @ArchTest
    static final ArchRule drawingsKnowNoDatabase = noClasses().that().resideInAPackage("cahier.app.draw..")
            .should().dependOnClassesThat().resideInAnyPackage("org.springframework..", "org.apache.ibatis..", "java.sql..");

    /** Judging hears what changed ({@code JudgeAtCommit}) and goes its rounds; only the demo tells a past within one transaction. */
    @ArchTest
    static final ArchRule nobodyAsksForAJudgement = noClasses().that().resideOutsideOfPackages("cahier.app.judge..", "cahier.app.demo..")
            .should().callMethodWhere(target(name("track")).and(target(owner(assignableTo(JudgingRound.class)))));

    /** A log of what steps measure by is written by its {@link Measuring} alone, which publishes it: no page into a log goes round its reps. */
    @ArchTest
    static final ArchRule onlyALogWritesWhatIsMeasured = noClasses().that().areNotAssignableTo(Measuring.class)
            .should().callMethodWhere(target(nameMatching("insert|tap|undo|undoTap|undoSession|follow|followTap")).and(target(owner(nameMatching("cahier\\.app\\.(exposure\\.Exposure|alone\\.Departure|handling\\.Handling|outing\\.Outing)Mapper")))));

    /** Mail, weather, PDF and the search for a week take their time: whoever does them holds no rows meanwhile. */
    @ArchTest
    static final ArchRule nothingSlowIsInATransaction = noClasses().that().areAnnotatedWith(Transactional.class).or().areAnnotatedWith(Controller.class)
            .should().dependOnClassesThat().resideInAnyPackage("java.net.http..", "jakarta.mail..", "com.openhtmltopdf..")
            .orShould().dependOnClassesThat().areAssignableTo(WeekPlanner.class);

    /** What puts pages together knows many features; a feature knows few beside its own. */
    @ArchTest
    static void onlyComposingPagesKnowManyFeatures(JavaClasses all) {
        Map<String, Set<String>> known = new TreeMap<>();
        all.forEach(type -> type.getDirectDependenciesFromSelf().forEach(d -> {
            String from = feature(type.getPackageName());
            String to = feature(d.getTargetClass().getPackageName());
            if (!to.isEmpty() && !to.equals(from) && !PLATFORM.contains(to)) {
                known.computeIfAbsent(from, f -> new TreeSet<>()).add(to);
            }
        }));
        known.keySet().removeAll(COMPOSING);
        assertThat(known).allSatisfy((feature, others) -> assertThat(others).as(feature).hasSizeLessThanOrEqualTo(MOST_KNOWN));
    }

    private static String feature(String name) {
        return name.startsWith("cahier.app.") ? name.substring("cahier.app.".length()) : "";
    }

    @ArchTest
    static final ArchRule theClockIsInjected = noClasses().should().callMethod(Instant.class, "now").orShould().callMethod(LocalDate.class, "now");
}
