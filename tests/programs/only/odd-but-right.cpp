#include <iostream>
#include <vector>
using std::cout;
using std::endl;
using std::vector;

int add(int, int);
double half(double);

int main(void)
{
    {
        int inner = 3;
        cout << inner << endl;
    }
    int x = 1;;
    for (int i = 0, j = 10; i < j; i++, j--) { x += i * j; };
    cout << x << endl;
    if (x > 5) { cout << "big" << endl; } else { cout << "small" << endl; };
    const int N = 3;
    int grid[2][N] = {{1, 2, 3}, {4, 5, 6}};
    for (auto &row : grid) { for (auto v : row) cout << v << ' '; cout << '\n'; }
    cout << add(2, 3) << " " << half(5) << endl;
    unsigned int u = 7u;
    long total = 0L;
    total += u;
    cout << total << endl;
    vector<int> v{3, 1, 2};
    for (vector<int>::size_type i = 0; i < v.size(); ++i) cout << v[i];
    cout << endl;
    bool ok = true && !false;
    cout << std::boolalpha << ok << endl;
    return EXIT_SUCCESS;
}
int add(int a, int b) { return a + b; }
double half(double n) { return n / 2; }
