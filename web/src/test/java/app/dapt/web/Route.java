package app.dapt.web;

import java.util.stream.Stream;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** A way in that some controller has: what it is called with, and where, with something put in for what varies. */
record Route(String method, String path) {

    /** All there are, so that a new one is among them without being named. */
    static Stream<Route> all(Site site, String id) {
        return site.bean(RequestMappingHandlerMapping.class).getHandlerMethods().keySet().stream()
                .flatMap(mapping -> of(mapping, id))
                .distinct();
    }

    private static Stream<Route> of(RequestMappingInfo mapping, String id) {
        return mapping.getPatternValues().stream()
                .flatMap(path -> Stream.of("covers", "sets").map(whose -> path.replaceAll("\\{whose:[^}]*}", whose)))
                // Of several words the first; of everything else the id.
                .map(path -> path.replaceAll("\\{\\w+:([a-z-]+)\\|[^}]*}", "$1")
                        .replaceAll("\\{[^{}]*(\\{[^{}]*}[^{}]*)*}", id))
                .flatMap(path -> methods(mapping).map(method -> new Route(method.name(), path)));
    }

    private static Stream<RequestMethod> methods(RequestMappingInfo mapping) {
        return mapping.getMethodsCondition().getMethods().isEmpty()
                ? Stream.of(RequestMethod.GET)
                : mapping.getMethodsCondition().getMethods().stream();
    }
}
