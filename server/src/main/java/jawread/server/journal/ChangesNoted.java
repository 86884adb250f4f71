package jawread.server.journal;

import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManagerFactory;
import java.time.temporal.Temporal;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jawread.core.length.Figure;
import jawread.core.length.Length;
import jawread.server.journal.Trailed.Under;
import org.hibernate.collection.spi.PersistentCollection;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.event.spi.PreCollectionUpdateEvent;
import org.hibernate.event.spi.PreCollectionUpdateEventListener;
import org.springframework.stereotype.Component;

/** Notes what was changed of whatever is {@link Trailed}: its old and its new value, property by property. */
@Component
class ChangesNoted implements PostInsertEventListener, PostUpdateEventListener, PreCollectionUpdateEventListener {
    /** They follow from what is told of besides. */
    private static final Set<String> OF_THE_PROGRAM = Set.of("version", "partsListed", "changedBy", "changedAt");

    private final EntityManagerFactory entities;

    ChangesNoted(EntityManagerFactory entities) {
        this.entities = entities;
    }

    @PostConstruct
    void listen() {
        EventListenerRegistry events = entities.unwrap(SessionFactoryImplementor.class)
                .getEventEngine()
                .getListenerRegistry();
        events.appendListeners(EventType.POST_INSERT, this);
        events.appendListeners(EventType.POST_UPDATE, this);
        events.appendListeners(EventType.PRE_COLLECTION_UPDATE, this);
    }

    @Override
    public void onPostInsert(PostInsertEvent event) {
        if (event.getEntity() instanceof Trailed trailed
                && trailed.trailedUnder().isAdditionTold()) {
            Under under = trailed.trailedUnder();
            String value = under.value().isEmpty()
                    ? null
                    : text(
                            under.value(),
                            event.getState()[
                                    List.of(event.getPersister().getPropertyNames())
                                            .indexOf(under.value())],
                            under,
                            event.getSession());
            Change.note(under, value == null ? Change.ADDED : under.value(), null, value);
        }
    }

    @Override
    public void onPostUpdate(PostUpdateEvent event) {
        if (event.getEntity() instanceof Trailed trailed && event.getOldState() != null) {
            Under under = trailed.trailedUnder();
            String[] names = event.getPersister().getPropertyNames();
            for (int i = 0; i < names.length; i++) {
                // Collections tell by themselves.
                if (!OF_THE_PROGRAM.contains(names[i])
                        && !event.getPersister().getPropertyTypes()[i].isCollectionType()) {
                    Change.note(
                            under,
                            names[i],
                            text(names[i], event.getOldState()[i], under, event.getSession()),
                            text(names[i], event.getState()[i], under, event.getSession()));
                }
            }
        }
    }

    @Override
    public void onPreUpdateCollection(PreCollectionUpdateEvent event) {
        if (event.getAffectedOwnerOrNull() instanceof Trailed trailed) {
            Under under = trailed.trailedUnder();
            String role = event.getCollection().getRole();
            String field = role.substring(role.lastIndexOf('.') + 1);
            PersistentCollection<?> now = event.getCollection();
            Object before = now.getStoredSnapshot();
            if (now instanceof Map<?, ?> map) {
                Map<?, ?> was = before instanceof Map<?, ?> stored ? stored : Map.of();
                var keys =
                        new TreeSet<>(was.keySet().stream().map(String::valueOf).toList());
                map.keySet().forEach(key -> keys.add(String.valueOf(key)));
                keys.forEach(key -> Change.note(under, key, words(was.get(key)), words(map.get(key))));
            } else if (now instanceof Collection<?> all) {
                Collection<?> was = before instanceof Map<?, ?> set
                        ? set.keySet()
                        : before instanceof Collection<?> list ? list : Set.of();
                Change.note(under, field, joined(was), joined(all));
            }
        }
    }

    private static String text(String property, Object value, Under under, SharedSessionContractImplementor session) {
        if (value == null) {
            return null;
        }
        if (property.endsWith(Change.LENGTH) && value instanceof Long pm) {
            return under.unit()
                    .map(unit -> Figure.exactly(Length.ofPicometres(pm), unit).toString())
                    .orElse(pm.toString());
        }
        if (value instanceof String
                || value instanceof Number
                || value instanceof Boolean
                || value instanceof Temporal) {
            return value.toString();
        }
        if (value instanceof Enum<?> one) {
            return words(one);
        }
        return Optional.ofNullable(session.getContextEntityIdentifier(value))
                .map(Object::toString)
                .orElse(value.toString());
    }

    private static String words(Object value) {
        return value == null
                ? null
                : value instanceof Enum<?> one
                        ? one.name().toLowerCase(Locale.ROOT).replace('_', '-')
                        : value.toString();
    }

    private static String joined(Collection<?> values) {
        return values.isEmpty()
                ? null
                : values.stream().map(ChangesNoted::words).sorted().collect(Collectors.joining(", "));
    }
}
