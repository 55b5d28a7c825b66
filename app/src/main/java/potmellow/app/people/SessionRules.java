package potmellow.app.people;

import org.springframework.aop.framework.ProxyFactory;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** How a device shows that it was let in: by a cookie that no script reads and that goes over protected lines only. */
@Configuration(proxyBeanMethods = false)
class SessionRules {
    /** Set on a request whose device is to be known for long. */
    static final String TRUSTED = SessionRules.class.getName() + ".trusted";

    @Bean
    CookieSerializer cookies() {
        DefaultCookieSerializer cookies = new DefaultCookieSerializer();
        cookies.setCookieName("mellow-device");
        cookies.setUseHttpOnlyCookie(true);
        cookies.setUseSecureCookie(true);
        // A code that is scanned leads here from outside; whatever changes something needs the page's token besides.
        cookies.setSameSite("Lax");
        cookies.setRememberMeRequestAttribute(TRUSTED);
        return cookies;
    }

    @Bean
    static BeanPostProcessor letsDevicesReadOnWhereNothingCanBeWritten() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                if (!(bean instanceof JdbcIndexedSessionRepository)) {
                    return bean;
                }
                ProxyFactory sessions = new ProxyFactory(bean);
                sessions.setProxyTargetClass(true);
                sessions.addAdvice(new LastUse());
                return sessions.getProxy();
            }
        };
    }
}
