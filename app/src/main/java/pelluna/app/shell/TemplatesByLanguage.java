package pelluna.app.shell;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.i18n.LocaleContextHolder;
import org.thymeleaf.cache.AbstractCacheManager;
import org.thymeleaf.cache.ExpressionCacheKey;
import org.thymeleaf.cache.ICache;
import org.thymeleaf.cache.ICacheEntryValidityChecker;
import org.thymeleaf.cache.StandardCacheManager;
import org.thymeleaf.cache.TemplateCacheKey;
import org.thymeleaf.engine.TemplateModel;

/** Keeps each template once for each language of its readers, since its messages are put in already. */
final class TemplatesByLanguage extends AbstractCacheManager {
    private final Map<Locale, ICache<TemplateCacheKey, TemplateModel>> caches = new ConcurrentHashMap<>();

    private final StandardCacheManager expressions = new StandardCacheManager();

    /** @param most expressions that are kept; they are the same in every language */
    TemplatesByLanguage(int most) {
        expressions.setExpressionCacheMaxSize(most);
    }

    @Override
    protected ICache<TemplateCacheKey, TemplateModel> initializeTemplateCache() {
        return new OfTheReader();
    }

    @Override
    protected ICache<ExpressionCacheKey, Object> initializeExpressionCache() {
        return expressions.getExpressionCache();
    }

    private final class OfTheReader implements ICache<TemplateCacheKey, TemplateModel> {
        private ICache<TemplateCacheKey, TemplateModel> cache() {
            return caches.computeIfAbsent(
                    LocaleContextHolder.getLocale(), l -> new StandardCacheManager().getTemplateCache());
        }

        @Override
        public void put(TemplateCacheKey key, TemplateModel value) {
            cache().put(key, value);
        }

        @Override
        public TemplateModel get(TemplateCacheKey key) {
            return cache().get(key);
        }

        @Override
        public TemplateModel get(
                TemplateCacheKey key,
                ICacheEntryValidityChecker<? super TemplateCacheKey, ? super TemplateModel> validity) {
            return cache().get(key, validity);
        }

        @Override
        public void clear() {
            caches.values().forEach(ICache::clear);
        }

        @Override
        public void clearKey(TemplateCacheKey key) {
            caches.values().forEach(c -> c.clearKey(key));
        }

        @Override
        public Set<TemplateCacheKey> keySet() {
            return cache().keySet();
        }
    }
}
