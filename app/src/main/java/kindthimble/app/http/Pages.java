package kindthimble.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the interface: its addresses all lead to one page, and it may load nothing from elsewhere. */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String address :
                new String[] {"/", "/{page:(?!api$)[^.]*}", "/{page:(?!api$|assets$|drawings$)[^.]*}/**"}) {
            registry.addViewController(address).setViewName("forward:/index.html");
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // Their names carry a hash of what is in them.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).immutable());
    }

    @Component
    static class Headers extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            response.setHeader(
                    "Content-Security-Policy",
                    "default-src 'self'; img-src 'self' data:; base-uri 'none'; form-action 'self'; frame-ancestors 'none'");
            response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "same-origin");
            if (!request.getRequestURI().startsWith("/assets/")) {
                response.setHeader("Cache-Control", "no-store");
            }
            chain.doFilter(request, response);
        }
    }
}
