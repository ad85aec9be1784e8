function f() { if (!done) { var done = true; } return done; } console.log(f());
