-- Lines that said degrees in the units of one household are written anew from their journals.
UPDATE cooks SET to_book = 1 WHERE id IN (SELECT cook_id FROM book WHERE next_time LIKE 'It was at % °C and dry:%');
