package cahier.app.attack;

import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.core.type.filter.AnnotationTypeFilter;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;

/** Every address of the application, as its controllers say: a new one is attacked without being named. */
record Routes(RequestMethod method, String pattern) {

    static List<Routes> all() {
        ClassPathScanningCandidateComponentProvider controllers = new ClassPathScanningCandidateComponentProvider(false);
        controllers.addIncludeFilter(new AnnotationTypeFilter(Controller.class));
        List<Routes> routes = new ArrayList<>();
        controllers.findCandidateComponents("cahier.app").forEach(found -> {
            try {
                Class<?> type = Class.forName(found.getBeanClassName());
                RequestMapping base = AnnotatedElementUtils.findMergedAnnotation(type, RequestMapping.class);
                for (Method method : type.getDeclaredMethods()) {
                    RequestMapping mapping = AnnotatedElementUtils.findMergedAnnotation(method, RequestMapping.class);
                    if (mapping != null) {
                        RequestMethod verb = mapping.method().length == 0 ? RequestMethod.GET : mapping.method()[0];
                        Stream<String> before = base == null || base.path().length == 0 ? Stream.of("") : Arrays.stream(base.path());
                        List<String> paths = mapping.path().length == 0 ? List.of("") : List.of(mapping.path());
                        before.forEach(b -> paths.forEach(p -> routes.add(new Routes(verb, b + p))));
                    }
                }
            } catch (ClassNotFoundException e) {
                throw new IllegalStateException(e);
            }
        });
        return routes.stream().distinct().sorted((a, b) -> (a.pattern + a.method).compareTo(b.pattern + b.method)).toList();
    }

    boolean isOwners() {
        return pattern.startsWith("/o/");
    }

    boolean hasNumber() {
        return pattern.matches(".*\\{[^}]*}.*") && !pattern.contains("{token}") && !pattern.contains("{secret}") && !pattern.contains("{word}");
    }
}
