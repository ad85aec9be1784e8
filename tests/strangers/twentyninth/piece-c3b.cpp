#include <iostream>
#include <vector>
#include <string>
using namespace std;
struct Cell { int v[2]; string t; double d; };
struct Row { Cell cells[3]; int n; };
int main() {
    Cell a[2];
    a[0].v[1] = 3; a[1].v[1] = 4;
    cout << a[0].v[1] << a[1].v[1] << a[0].t << endl;
    vector<Cell> w(2);
    w[0].v[0] = 7;
    cout << w[0].v[0] << w[1].v[0] << w[1].d << endl;
    Row rows[2];
    rows[1].cells[2].v[0] = 9;
    cout << rows[1].cells[2].v[0] << endl;
    Row r2 = rows[1];
    r2.cells[2].v[0] = 1;
    cout << rows[1].cells[2].v[0] << r2.cells[2].v[0] << endl;
    vector<Row> x;
    x.resize(2);
    x[1].cells[0].v[1] = 5;
    x.push_back(x[1]);
    x[2].cells[0].v[1] = 6;
    cout << x[1].cells[0].v[1] << x[2].cells[0].v[1] << endl;
    Cell grid[2][2];
    grid[1][1].v[0] = 8; grid[0][1].v[0] = 2;
    cout << grid[1][1].v[0] << grid[0][1].v[0] << endl;
    Cell* p = new Cell;
    p->v[0] = 11;
    cout << p->v[0] << endl;
    Cell* q = new Cell[3];
    q[2].v[1] = 12;
    cout << q[2].v[1] << endl;
}
