package jawread.server.journal;

import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManagerFactory;
import java.time.temporal.Temporal;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jawread.core.length.Figure;
import jawread.core.length.Length;
import jawread.server.chain.ToldRows.Touched;
import jawread.server.journal.Trailed.Under;
import org.hibernate.collection.spi.PersistentCollection;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.AbstractCollectionEvent;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostCollectionRecreateEvent;
import org.hibernate.event.spi.PostCollectionRecreateEventListener;
import org.hibernate.event.spi.PostCollectionRemoveEvent;
import org.hibernate.event.spi.PostCollectionRemoveEventListener;
import org.hibernate.event.spi.PostCollectionUpdateEvent;
import org.hibernate.event.spi.PostCollectionUpdateEventListener;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.event.spi.PreCollectionUpdateEvent;
import org.hibernate.event.spi.PreCollectionUpdateEventListener;
import org.hibernate.persister.collection.CollectionPersister;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.stereotype.Component;

/**
 * Notes each row that is written or taken away, as it is: whatever code changes an entity, none of it is forgotten. What is trailed
 * leaves its old and its new value besides.
 */
@Component
class RowsNoted
        implements PostInsertEventListener,
                PostUpdateEventListener,
                PostDeleteEventListener,
                PreCollectionUpdateEventListener,
                PostCollectionRecreateEventListener,
                PostCollectionUpdateEventListener,
                PostCollectionRemoveEventListener {
    /** They follow from what is told of besides. */
    private static final Set<String> OF_THE_PROGRAM = Set.of("version", "partsListed", "changedBy", "changedAt");

    private static final String LENGTH = "Pm";

    private final EntityManagerFactory entities;

    RowsNoted(EntityManagerFactory entities) {
        this.entities = entities;
    }

    @PostConstruct
    void listen() {
        EventListenerRegistry events = entities.unwrap(SessionFactoryImplementor.class)
                .getEventEngine()
                .getListenerRegistry();
        events.appendListeners(EventType.POST_INSERT, this);
        events.appendListeners(EventType.POST_UPDATE, this);
        events.appendListeners(EventType.POST_DELETE, this);
        events.appendListeners(EventType.PRE_COLLECTION_UPDATE, this);
        events.appendListeners(EventType.POST_COLLECTION_RECREATE, this);
        events.appendListeners(EventType.POST_COLLECTION_UPDATE, this);
        events.appendListeners(EventType.POST_COLLECTION_REMOVE, this);
    }

    @Override
    public void onPostInsert(PostInsertEvent event) {
        note(event.getPersister(), event.getId(), event.getSession());
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
            change(under, value == null ? Change.ADDED : under.value(), null, value);
        }
    }

    @Override
    public void onPostUpdate(PostUpdateEvent event) {
        note(event.getPersister(), event.getId(), event.getSession());
        if (event.getEntity() instanceof Trailed trailed && event.getOldState() != null) {
            Under under = trailed.trailedUnder();
            String[] names = event.getPersister().getPropertyNames();
            for (int i = 0; i < names.length; i++) {
                // Collections tell by themselves.
                if (!OF_THE_PROGRAM.contains(names[i])
                        && !event.getPersister().getPropertyTypes()[i].isCollectionType()) {
                    change(
                            under,
                            names[i],
                            text(names[i], event.getOldState()[i], under, event.getSession()),
                            text(names[i], event.getState()[i], under, event.getSession()));
                }
            }
        }
    }

    @Override
    public void onPostDelete(PostDeleteEvent event) {
        note(event.getPersister(), event.getId(), event.getSession());
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
                keys.forEach(key -> change(under, key, words(was.get(key)), words(map.get(key))));
            } else if (now instanceof Collection<?> all) {
                Collection<?> was = before instanceof Map<?, ?> set
                        ? set.keySet()
                        : before instanceof Collection<?> list ? list : Set.of();
                change(under, field, joined(was), joined(all));
            }
        }
    }

    @Override
    public void onPostRecreateCollection(PostCollectionRecreateEvent event) {
        noteAll(event);
    }

    @Override
    public void onPostUpdateCollection(PostCollectionUpdateEvent event) {
        noteAll(event);
    }

    @Override
    public void onPostRemoveCollection(PostCollectionRemoveEvent event) {
        noteAll(event);
    }

    private static void note(EntityPersister persister, Object id, SharedSessionContractImplementor session) {
        var key = new LinkedHashMap<String, Object>();
        persister
                .getIdentifierMapping()
                .breakDownJdbcValues(
                        id,
                        (index, value, column) ->
                                key.put(column.getSelectionExpression().toLowerCase(Locale.ROOT), value),
                        session);
        String table = persister.getIdentifierTableDetails().getTableName().toLowerCase(Locale.ROOT);
        ThisTransaction.current().touched.add(new Touched(table, key));
    }

    /** Of a table whose rows have an owner and no life of their own, all of that owner. */
    private static void noteAll(AbstractCollectionEvent event) {
        CollectionPersister persister = event.getSession()
                .getFactory()
                .getMappingMetamodel()
                .getCollectionDescriptor(event.getCollection().getRole());
        if (persister.isOneToMany()) {
            return;
        }
        var key = new LinkedHashMap<String, Object>();
        persister
                .getAttributeMapping()
                .getKeyDescriptor()
                .getKeyPart()
                .forEachSelectable((index, column) -> key.put(
                        column.getSelectionExpression().toLowerCase(Locale.ROOT), event.getAffectedOwnerIdOrNull()));
        String table =
                persister.getAttributeMapping().getSeparateCollectionTable().toLowerCase(Locale.ROOT);
        ThisTransaction.current().touched.add(new Touched(table, key));
    }

    private static void change(Under under, String field, String before, String after) {
        boolean isNew = field.equals(Change.ADDED);
        if (isNew || !Objects.equals(orNothing(before), orNothing(after))) {
            ThisTransaction.current()
                    .changes
                    .add(new Change(under, hyphened(field), orNothing(before), orNothing(after)));
        }
    }

    /** An empty text says as little as none. */
    private static String orNothing(String text) {
        return text == null || text.isEmpty() ? null : text;
    }

    private static String text(String property, Object value, Under under, SharedSessionContractImplementor session) {
        if (value == null) {
            return null;
        }
        if (property.endsWith(LENGTH) && value instanceof Long pm) {
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
                : values.stream().map(RowsNoted::words).sorted().collect(Collectors.joining(", "));
    }

    /** {@code rangeLowPm} is {@code range-low}. */
    private static String hyphened(String property) {
        String name = property.endsWith(LENGTH) ? property.substring(0, property.length() - LENGTH.length()) : property;
        return name.replaceAll("([a-z])([A-Z])", "$1-$2").toLowerCase(Locale.ROOT);
    }
}
