package jawread.server.job;

import org.springframework.data.repository.Repository;

interface PlaceRepository extends Repository<Place, Long> {
    Place save(Place place);
}
