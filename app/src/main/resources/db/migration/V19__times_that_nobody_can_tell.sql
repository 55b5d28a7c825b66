-- How long a pot took is not known where nobody looked before it was ready; what came out of it may be.
ALTER TABLE batch_outcome MODIFY took_days DECIMAL(10, 4) NULL;
