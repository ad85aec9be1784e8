math.floor(3.5);
