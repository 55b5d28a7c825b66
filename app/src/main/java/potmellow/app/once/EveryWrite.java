package potmellow.app.once;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.lang.reflect.Method;
import java.time.Clock;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.GardenService;

/** Puts every write of every controller on its one way. */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class EveryWrite {
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor oneWay(
            ObjectProvider<GardenService> gardens,
            ObjectProvider<AnswerRepository> answers,
            ObjectProvider<Fingerprint> fingerprint,
            ObjectProvider<TransactionTemplate> transactions,
            ObjectProvider<ObjectMapper> json,
            ObjectProvider<Clock> clock) {
        // Made with the first write: what it needs must not be made before the proxies of transactions are.
        SingletonSupplier<OneAct> act = SingletonSupplier.of(() -> new OneAct(
                gardens.getObject(),
                answers.getObject(),
                fingerprint.getObject(),
                transactions.getObject(),
                json.getObject(),
                clock.getObject()));
        MethodInterceptor way = call -> act.obtain().invoke(call);
        return new DefaultPointcutAdvisor(new Writes(), way);
    }

    /** What changes the garden: everything that is posted, put or deleted but what is marked as no act. */
    private static final class Writes extends StaticMethodMatcherPointcut {
        @Override
        public boolean matches(Method method, Class<?> target) {
            return AnnotatedElementUtils.hasAnnotation(target, RestController.class)
                    && AnnotatedElementUtils.hasAnnotation(method, RequestMapping.class)
                    && !AnnotatedElementUtils.hasAnnotation(method, GetMapping.class)
                    && !method.isAnnotationPresent(NoAct.class);
        }
    }
}
