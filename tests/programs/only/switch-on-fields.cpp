#include <iostream>
using namespace std;
enum Kind { Pea, Rose };
struct Plant { Kind kind; int tall; };
struct Walk { int state = 0; void step() { switch (state) { case 0: state = 1; break; case 1: state = 2; break; default: state = 0; } } };
int main() {
  Plant p{Rose, 3};
  Plant* q = &p;
  switch (p.kind) { case Pea: cout << "pea\n"; break; case Rose: cout << "rose\n"; break; }
  switch (q->tall) { case 3: cout << "three\n"; case 4: cout << "four\n"; break; default: cout << "?\n"; }
  Walk w;
  for (int i = 0; i < 4; i++) { w.step(); cout << w.state << " "; }
  cout << endl;
}
