package jawread.server.journal;

import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManagerFactory;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Set;
import jawread.server.chain.ToldRows.Touched;
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
import org.hibernate.persister.collection.CollectionPersister;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.stereotype.Component;

/** Notes each row that is written or taken away, as it is: whatever code changes an entity, none of it is forgotten. */
@Component
class RowsNoted
        implements PostInsertEventListener,
                PostUpdateEventListener,
                PostDeleteEventListener,
                PostCollectionRecreateEventListener,
                PostCollectionUpdateEventListener,
                PostCollectionRemoveEventListener {
    /** What a reading writes. Only what is found in readings is another thing then. */
    private static final Set<String> OF_READINGS = Set.of("reading", "reading_figure", "measuring_round");

    /** That something was read against it is all that is ever changed in its row. */
    private static final String FIXED_BY_READING = "plan_revision";

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
        events.appendListeners(EventType.POST_COLLECTION_RECREATE, this);
        events.appendListeners(EventType.POST_COLLECTION_UPDATE, this);
        events.appendListeners(EventType.POST_COLLECTION_REMOVE, this);
    }

    @Override
    public void onPostInsert(PostInsertEvent event) {
        note(
                OF_READINGS.contains(tableOf(event.getPersister())),
                event.getPersister(),
                event.getId(),
                event.getSession());
    }

    @Override
    public void onPostUpdate(PostUpdateEvent event) {
        note(
                FIXED_BY_READING.equals(tableOf(event.getPersister())),
                event.getPersister(),
                event.getId(),
                event.getSession());
    }

    @Override
    public void onPostDelete(PostDeleteEvent event) {
        note(false, event.getPersister(), event.getId(), event.getSession());
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

    private static String tableOf(EntityPersister persister) {
        return persister.getIdentifierTableDetails().getTableName().toLowerCase(Locale.ROOT);
    }

    private static void note(
            boolean isOfReadings, EntityPersister persister, Object id, SharedSessionContractImplementor session) {
        var key = new LinkedHashMap<String, Object>();
        persister
                .getIdentifierMapping()
                .breakDownJdbcValues(
                        id,
                        (index, value, column) ->
                                key.put(column.getSelectionExpression().toLowerCase(Locale.ROOT), value),
                        session);
        (isOfReadings ? ThisTransaction.currentOfReadings() : ThisTransaction.current())
                .touched.add(new Touched(tableOf(persister), key));
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
}
