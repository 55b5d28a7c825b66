package potmellow.app.access;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every address of a view leads to the one page that draws them all. */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {
    @Override
    public void addViewControllers(ViewControllerRegistry views) {
        for (String address : new String[] {"/", "/pots", "/pots/new", "/pots/{id:[0-9a-f-]{36}}", "/mix"}) {
            views.addViewController(address).setViewName("forward:/index.html");
        }
    }
}
