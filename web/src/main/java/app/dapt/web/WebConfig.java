package app.dapt.web;

import app.dapt.web.door.TokenCookie;
import app.dapt.web.wording.Reader;
import app.dapt.words.Wordbook.English;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Headers, tokens, and who is reading. */
@Configuration
public class WebConfig implements WebMvcConfigurer {

    /** Where English is written the British way. */
    private static final Set<String> UK_COUNTRIES = Set.of("GB", "IE", "AU", "NZ", "ZA", "IN");

    /** No sessions: the token lives in a cookie, so that a restart in mid-edit refuses nobody's next change. */
    @Bean
    SecurityFilterChain security(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.csrfTokenRepository(new TokenCookie()))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                // OriginFilter sets the rest, on every answer there is.
                // A house's own certificate has to be clicked through until it is trusted, which a pinned host forbids.
                .headers(headers -> headers.contentTypeOptions(Customizer.withDefaults())
                        .httpStrictTransportSecurity(pinned -> pinned.disable()))
                .build();
    }

    /**
     * Every connection is tried before it is used, so that nobody meets those of a store that was ended and is back.
     */
    @Bean
    static BeanFactoryPostProcessor connectionsAreTried() {
        return beans -> System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
    }

    /** The time where it runs, for everything that asks what time it is. */
    @Bean
    static Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }

    /** Nobody signs in yet; this keeps the framework from inventing somebody with a password in the log. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(new HandlerMethodArgumentResolver() {
            @Override
            public boolean supportsParameter(MethodParameter parameter) {
                return parameter.getParameterType() == Reader.class;
            }

            @Override
            public Object resolveArgument(
                    MethodParameter parameter,
                    @Nullable ModelAndViewContainer container,
                    NativeWebRequest request,
                    @Nullable WebDataBinderFactory binders) {
                return reader(Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class)));
            }
        });
    }

    /** By the reader's own choice, else by the browser's language. */
    public static Reader reader(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies() == null ? new Cookie[0] : request.getCookies();
        return Stream.of(cookies)
                .filter(cookie -> cookie.getName().equals(Reader.COOKIE))
                .flatMap(cookie -> Reader.fromCookie(cookie.getValue()).stream())
                .findFirst()
                .orElseGet(() -> new Reader(Optional.empty(), english(request.getLocale()), Reader.Light.SYSTEM));
    }

    private static English english(Locale locale) {
        return UK_COUNTRIES.contains(locale.getCountry()) ? English.UK : English.US;
    }
}
