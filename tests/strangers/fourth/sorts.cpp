#include <algorithm>
#include <iostream>
#include <vector>

const int N = 6;

void bubble(int a[], int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (a[j] > a[j + 1]) {
                int t = a[j];
                a[j] = a[j + 1];
                a[j + 1] = t;
            }
}

void insertion(std::vector<int> &v) {
    for (size_t i = 1; i < v.size(); i++) {
        int key = v[i];
        int j = i - 1;
        while (j >= 0 && v[j] > key) { v[j + 1] = v[j]; j--; }
        v[j + 1] = key;
    }
}

void mergeSort(std::vector<int>& v, int l, int r) {
    if (l >= r) return;
    int m = (l + r) / 2;
    mergeSort(v, l, m);
    mergeSort(v, m + 1, r);
    std::vector<int> tmp;
    int i = l, j = m + 1;
    while (i <= m && j <= r) tmp.push_back(v[i] <= v[j] ? v[i++] : v[j++]);
    while (i <= m) tmp.push_back(v[i++]);
    while (j <= r) tmp.push_back(v[j++]);
    for (int k = 0; k < (int)tmp.size(); k++) v[l + k] = tmp[k];
}

int partition(int *a, int lo, int hi) {
    int p = a[hi], i = lo - 1;
    for (int j = lo; j < hi; ++j)
        if (a[j] < p) std::swap(a[++i], a[j]);
    std::swap(a[i + 1], a[hi]);
    return i + 1;
}
void quick(int *a, int lo, int hi) {
    if (lo < hi) {
        int p = partition(a, lo, hi);
        quick(a, lo, p - 1);
        quick(a, p + 1, hi);
    }
}

template <typename T>
void print(const T& c) {
    for (const auto& x : c) std::cout << x << ' ';
    std::cout << '\n';
}

int main() {
    int a[N] = {54, 26, 93, 17, 77, 31};
    int b[] = {5, 2, 9, 1};
    bubble(a, N);
    print(a);
    quick(b, 0, 3);
    for (int x : b) std::cout << x << " ";
    std::cout << std::endl;
    std::vector<int> v{3, 1, 2}, w(v);
    insertion(v);
    mergeSort(w, 0, w.size() - 1);
    print(v);
    print(w);
    std::cout << std::boolalpha << (v == w) << std::binary_search(v.begin(), v.end(), 2) << std::endl;
    std::sort(w.begin(), w.end(), std::greater<int>());
    print(w);
    std::reverse(w.begin(), w.end());
    std::cout << *std::max_element(w.begin(), w.end()) << " " << std::count(w.begin(), w.end(), 2) << " " << std::is_sorted(w.begin(), w.end()) << "\n";
}
