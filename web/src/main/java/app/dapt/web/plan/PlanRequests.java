package app.dapt.web.plan;

import app.dapt.web.WebConfig;
import app.dapt.web.workroom.NoSuchCover;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Gives the plan's controllers their {@link PlanRequest}. */
@Configuration
class PlanRequests implements WebMvcConfigurer, HandlerMethodArgumentResolver {

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == PlanRequest.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest asking,
            WebDataBinderFactory binders) {
        HttpServletRequest request = asking.getNativeRequest(HttpServletRequest.class);
        Map<String, String> typed = new LinkedHashMap<>();
        request.getParameterMap().forEach((name, values) -> typed.put(name, values.length == 0 ? "" : values[0]));
        boolean part = HtmxRequest.fromRequest(request).isHtmxRequest();
        return new PlanRequest(id(request), WebConfig.reader(request), typed, part);
    }

    /** A cover whose number is no number is not here. */
    private static long id(HttpServletRequest request) {
        Map<?, ?> path = (Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        try {
            return Long.parseLong(String.valueOf(path.get("id")));
        } catch (NumberFormatException nonsense) {
            throw new NoSuchCover(-1);
        }
    }
}
