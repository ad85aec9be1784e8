#include <iostream>
#include <memory>
using namespace std;
int main() {
    unique_ptr<int> p = make_unique<int>(5);
    *p += 2;
    cout << *p << endl;
    shared_ptr<int> s = make_shared<int>(3);
    shared_ptr<int> t = s;
    *t = 9;
    cout << *s << endl;
}
