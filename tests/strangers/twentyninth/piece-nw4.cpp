#include <iostream>
#include <string>
using namespace std;
struct Cell { int v; string n; };
void show(Cell* c, int k) { for (int i = 0; i < k; i++) cout << c[i].v << c[i].n << " "; cout << endl; }
int main() {
    int n; cin >> n;
    int* a = new int[n];
    for (int i = 0; i < n; i++) a[i] = i;
    cout << a[2] << endl;
    Cell* q = new Cell[n];
    for (int i = 0; i < n; i++) { q[i].v = i * i; q[i].n = "c"; }
    show(q, n);
    delete[] q;
    delete[] a;
}
