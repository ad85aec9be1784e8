#include <iostream>
using namespace std;
void change(int* p) { *p = *p * 2; }
int* make(int v) { int* p = new int; *p = v; return p; }
int main() {
    int* a = new int(3);
    change(a);
    cout << *a << endl;
    int* b = make(4);
    cout << *b << endl;
    *a = *b;
    cout << *a + *b << endl;
    delete a; delete b;
    string* s = new string("kale");
    cout << *s << " " << s->length() << endl;
    delete s;
}
