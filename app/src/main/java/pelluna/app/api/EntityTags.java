package pelluna.app.api;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.filter.ShallowEtagHeaderFilter;

/** Whoever has read something already is told by 304 that it is the same still. */
@Configuration
class EntityTags {
    /** Weak ones, for what has none of its own: an answer may be compressed. */
    @Bean
    FilterRegistrationBean<ShallowEtagHeaderFilter> tagsOfAnswers() {
        ShallowEtagHeaderFilter tags = new ShallowEtagHeaderFilter();
        tags.setWriteWeakETag(true);
        FilterRegistrationBean<ShallowEtagHeaderFilter> bean = new FilterRegistrationBean<>(tags);
        bean.addUrlPatterns(Writable.API + "/*");
        bean.setOrder(ProgramWrites.AFTER_SIGN_IN - 1);
        return bean;
    }
}
