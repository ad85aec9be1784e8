#include <iostream>
#include <vector>
using namespace std;
struct Bed { vector<int> marks = {1, 2}; int& operator[](int i) { return marks[i]; } };
struct Row { vector<int> marks = {1, 2}; int operator[](int i) const { return marks[i] * 2; } };
int main() {
    Bed* a = new Bed;
    cout << (*a)[1] << endl;
    (*a)[0] += 3; cout << (*a)[0] << endl;
    Row* r = new Row();
    cout << (*r)[1] << endl;
}
struct G { vector<int> m = {1, 2, 3}; int& at(int i) { return m[i]; } int& last() { return m.back(); } };
void f(G* g) { g->at(1) = 7; (*g).at(0)--; }
struct T { T() { G* g = new G(); f(g); for (int x : g->m) cout << x << " "; G h; f(&h); h.at(0) = 5; for (int x : h.m) cout << x << " "; cout << endl; } };
T t;
