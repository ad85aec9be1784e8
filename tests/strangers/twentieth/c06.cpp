#include <iostream>
#include <vector>
#include <algorithm>
#include <numeric>
using namespace std;

void bubbleSort(int arr[], int n) {
    for (int i = 0; i < n - 1; i++) {
        bool swapped = false;
        for (int j = 0; j < n - i - 1; j++) {
            if (arr[j] > arr[j + 1]) {
                int temp = arr[j];
                arr[j] = arr[j + 1];
                arr[j + 1] = temp;
                swapped = true;
            }
        }
        if (!swapped) break;
    }
}

void selectionSort(vector<int>& v) {
    for (size_t i = 0; i + 1 < v.size(); i++) {
        size_t m = i;
        for (size_t j = i + 1; j < v.size(); j++)
            if (v[j] < v[m]) m = j;
        swap(v[i], v[m]);
    }
}

int partition(vector<int>& v, int lo, int hi) {
    int pivot = v[hi];
    int i = lo - 1;
    for (int j = lo; j < hi; j++) {
        if (v[j] <= pivot) swap(v[++i], v[j]);
    }
    swap(v[i + 1], v[hi]);
    return i + 1;
}

void quickSort(vector<int>& v, int lo, int hi) {
    if (lo < hi) {
        int p = partition(v, lo, hi);
        quickSort(v, lo, p - 1);
        quickSort(v, p + 1, hi);
    }
}

vector<int> merge(const vector<int>& a, const vector<int>& b) {
    vector<int> out;
    size_t i = 0, j = 0;
    while (i < a.size() && j < b.size()) out.push_back(a[i] < b[j] ? a[i++] : b[j++]);
    while (i < a.size()) out.push_back(a[i++]);
    while (j < b.size()) out.push_back(b[j++]);
    return out;
}

vector<int> mergeSort(vector<int> v) {
    if (v.size() < 2) return v;
    int mid = v.size() / 2;
    vector<int> left(v.begin(), v.begin() + mid), right(v.begin() + mid, v.end());
    return merge(mergeSort(left), mergeSort(right));
}

int binarySearch(const vector<int>& v, int x) {
    int lo = 0, hi = v.size() - 1;
    while (lo <= hi) {
        int mid = lo + (hi - lo) / 2;
        if (v[mid] == x) return mid;
        if (v[mid] < x) lo = mid + 1;
        else hi = mid - 1;
    }
    return -1;
}

template <typename T>
void show(const vector<T>& v) {
    for (const T& x : v) cout << x << " ";
    cout << endl;
}

int main() {
    int arr[] = {34, 7, 23, 32, 5};
    int n = sizeof(arr) / sizeof(arr[0]);
    bubbleSort(arr, n);
    for (int i = 0; i < n; i++) cout << arr[i] << (i < n - 1 ? ", " : "\n");
    vector<int> v = {9, 4, 8, 1}, w(v), q = {3, 2, 5, 1};
    selectionSort(v);
    show(v);
    show(mergeSort(w));
    quickSort(q, 0, q.size() - 1);
    show(q);
    cout << binarySearch(v, 8) << binarySearch(v, 5) << endl;
    cout << accumulate(v.begin(), v.end(), 0) << " " << *max_element(v.begin(), v.end()) << " " << *min_element(v.begin(), v.end()) << " " << count(v.begin(), v.end(), 4) << endl;
    sort(w.begin(), w.end(), greater<int>());
    show(w);
    auto it = find(w.begin(), w.end(), 4);
    if (it != w.end()) cout << "found at " << it - w.begin() << endl;
    w.insert(w.begin() + 1, 100);
    w.erase(w.begin());
    w.pop_back();
    show(w);
    vector<int> squares(5);
    for (int i = 0; i < 5; i++) squares[i] = i * i;
    cout << count_if(squares.begin(), squares.end(), [](int x) { return x % 2 == 0; }) << endl;
    show(vector<string>{"a", "b"});
    iota(squares.begin(), squares.end(), 10);
    show(squares);
    reverse(squares.begin(), squares.end());
    for_each(squares.begin(), squares.end(), [](int& x) { x += 1; });
    show(squares);
    cout << squares.front() << squares.back() << squares.at(2) << squares.empty() << endl;
    try { squares.at(10); } catch (const out_of_range& e) { cout << "out of range" << endl; }
    return 0;
}
