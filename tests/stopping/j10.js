let x = 5;
x();
