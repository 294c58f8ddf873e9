package pelluna.app.database;

import org.springframework.aot.generate.GenerationContext;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.data.jpa.repository.config.JpaRepositoryConfigExtension;
import org.springframework.data.repository.config.AotRepositoryContext;
import org.springframework.stereotype.Component;

/**
 * When beans are laid out as the program is built: repositories are too, but not what Spring Data would work out for
 * native images, since nothing reads it and it takes a minute.
 */
@Component
@ConditionalOnBooleanProperty("spring.aot.processing")
class LaidOut implements BeanFactoryPostProcessor {
    @Override
    public void postProcessBeanFactory(ConfigurableListableBeanFactory factory) {
        for (String name : factory.getBeanDefinitionNames()) {
            BeanDefinition bean = factory.getBeanDefinition(name);
            if (JpaRepositoryConfigExtension.JpaRepositoryRegistrationAotProcessor.class
                    .getName()
                    .equals(bean.getBeanClassName())) {
                bean.setBeanClassName(Repositories.class.getName());
            }
        }
    }

    static class Repositories extends JpaRepositoryConfigExtension.JpaRepositoryRegistrationAotProcessor {
        @Override
        protected void configureTypeContributions(AotRepositoryContext repository, GenerationContext generation) {}
    }
}
