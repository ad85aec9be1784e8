#include <cstdio>
#include <ctime>
#include <cstring>

#define SIZE 10

void swap(int *a, int *b)
{
    int t = *a;
    *a = *b;
    *b = t;
}

void print(const char *title, int a[], int n)
{
    printf("%-10s:", title);
    for (int i = 0; i < n; i++)
        printf("%4d", a[i]);
    printf("\n");
}

void bubble(int a[], int n)
{
    for (int i = 0; i < n - 1; i++) {
        int swapped = 0;
        for (int j = 0; j < n - 1 - i; j++)
            if (a[j] > a[j + 1]) {
                swap(&a[j], &a[j + 1]);
                swapped = 1;
            }
        if (!swapped)
            break;
    }
}

void insertion(int a[], int n)
{
    int i, j, key;
    for (i = 1; i < n; i++) {
        key = a[i];
        j = i - 1;
        while (j >= 0 && a[j] > key) {
            a[j + 1] = a[j];
            j--;
        }
        a[j + 1] = key;
    }
}

int partition(int a[], int low, int high)
{
    int pivot = a[high], i = low - 1;
    for (int j = low; j < high; j++)
        if (a[j] <= pivot)
            swap(&a[++i], &a[j]);
    swap(&a[i + 1], &a[high]);
    return i + 1;
}

void quick(int a[], int low, int high)
{
    if (low < high) {
        int p = partition(a, low, high);
        quick(a, low, p - 1);
        quick(a, p + 1, high);
    }
}

int find(int a[], int n, int wanted)
{
    int lo = 0, hi = n - 1;
    while (lo <= hi) {
        int mid = lo + (hi - lo) / 2;
        if (a[mid] == wanted) return mid;
        if (a[mid] < wanted) lo = mid + 1;
        else hi = mid - 1;
    }
    return -1;
}

int main(void)
{
    int original[SIZE] = {42, 7, 19, 3, 88, 7, 56, 0, 23, 11};
    int work[SIZE];
    print("start", original, SIZE);
    memcpy(work, original, sizeof(original));
    bubble(work, SIZE);
    print("bubble", work, SIZE);
    memcpy(work, original, sizeof(original));
    insertion(work, SIZE);
    print("insertion", work, SIZE);
    for (int i = 0; i < SIZE; i++) work[i] = original[i];
    quick(work, 0, SIZE - 1);
    print("quick", work, SIZE);
    printf("%d %d\n", find(work, SIZE, 56), find(work, SIZE, 57));
    return 0;
}
