package app.dapt;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * What the cases of a property have to reach between them, each at least once: a property that never comes to what it
 * asserts fails. The class of the property is extended with {@link Count}.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Reaches {

    String[] value();

    /** Counts what is reached. */
    final class Count implements BeforeEachCallback, AfterAllCallback {

        private static final Set<Method> RAN = ConcurrentHashMap.newKeySet();
        private static final Set<String> REACHED = ConcurrentHashMap.newKeySet();
        private static final ThreadLocal<Method> NOW = new ThreadLocal<>();

        /** Says that the property that runs has reached this. */
        public static void reached(String what) {
            REACHED.add(NOW.get() + what);
        }

        @Override
        public void beforeEach(ExtensionContext context) {
            Method now = context.getRequiredTestMethod();
            NOW.set(now);
            if (now.isAnnotationPresent(Reaches.class)) {
                RAN.add(now);
            }
        }

        @Override
        public void afterAll(ExtensionContext context) {
            for (Method property : RAN) {
                if (Cases.PERCENT == 100 && property.getDeclaringClass() == context.getRequiredTestClass()) {
                    assertThat(property.getAnnotation(Reaches.class).value())
                            .as("what %s reaches", property.getName())
                            .allSatisfy(what -> assertThat(REACHED).contains(property + what));
                }
            }
        }
    }
}
