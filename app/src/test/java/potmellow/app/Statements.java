package potmellow.app;

import java.util.concurrent.Callable;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.QueryCountHolder;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** Counts the statements that reach the database: what a request costs, on any machine. */
public final class Statements {
    private Statements() {}

    /** The statements that something sends on this thread. */
    public static long of(Callable<?> request) throws Exception {
        QueryCountHolder.clear();
        request.call();
        return QueryCountHolder.getGrandTotal().getTotal();
    }

    /** To be imported by a test that counts. */
    @TestConfiguration
    public static class Counted {
        @Bean
        static BeanPostProcessor countingDataSource() {
            return new BeanPostProcessor() {
                @Override
                public Object postProcessAfterInitialization(Object bean, String name) {
                    return bean instanceof DataSource source
                            ? ProxyDataSourceBuilder.create(source).countQuery().build()
                            : bean;
                }
            };
        }
    }
}
