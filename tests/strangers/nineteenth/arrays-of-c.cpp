#include <iostream>
#include <vector>
using namespace std;
void bubble(int *v, int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (v[j] > v[j + 1]) { int t = v[j]; v[j] = v[j + 1]; v[j + 1] = t; }
}
int sum(const int *v, int n) { int total = 0; for (int i = 0; i < n; i++) total += v[i]; return total; }
void fill(double* m, int n, double with) { while (n--) m[n] = with; }
int main() {
    int numbers[5] = {9, 4, 7, 1, 8};
    bubble(numbers, 5);
    for (int i = 0; i < 5; i++) cout << numbers[i] << " ";
    cout << sum(numbers, 5) << endl;
    double d[3]; fill(d, 3, 1.5); cout << d[2] << endl;
    int *heap = new int[3];
    for (int i = 0; i < 3; i++) heap[i] = i * 10;
    bubble(heap, 3);
    cout << heap[2] << sum(heap, 3) << endl;
    delete[] heap;
    const char *words[] = {"one", "two", "three"};
    for (int i = 0; i < 3; i++) cout << words[i] << endl;
    for (const char *w : words) cout << w;
    string names[] = {"a", "b"}; for (string n : names) cout << n;
    int **grid = new int*[2]; for (int i = 0; i < 2; i++) grid[i] = new int[3]();
    grid[1][2] = 5; cout << grid[1][2] << grid[0][0] << endl;
}
