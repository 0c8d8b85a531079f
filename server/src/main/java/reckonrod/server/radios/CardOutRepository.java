package reckonrod.server.radios;

import org.springframework.data.jpa.repository.JpaRepository;

interface CardOutRepository extends JpaRepository<CardOutRecord, String> {}
